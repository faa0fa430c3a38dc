package nobrec.core.address;

import java.text.Normalizer;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * States and provinces that stand in addresses of other countries, by code and name. Source: ISO 3166-2, as the registry's package
 * iso-3166-2 has it. In Mexico and India names are written out; the codes are read all the same.
 */
final class Provinces {

    private static final String CANADA = """
            AB Alberta|BC British Columbia|MB Manitoba|NB New Brunswick|NL Newfoundland and Labrador|\
            NS Nova Scotia|NT Northwest Territories|NU Nunavut|ON Ontario|PE Prince Edward Island|QC Quebec|\
            SK Saskatchewan|YT Yukon""";

    private static final String AUSTRALIA = """
            ACT Australian Capital Territory|NSW New South Wales|NT Northern Territory|QLD Queensland|\
            SA South Australia|TAS Tasmania|VIC Victoria|WA Western Australia""";

    private static final String BRAZIL = """
            AC Acre|AL Alagoas|AM Amazonas|AP Amapá|BA Bahia|CE Ceará|DF Distrito Federal|ES Espírito Santo|\
            GO Goiás|MA Maranhão|MG Minas Gerais|MS Mato Grosso do Sul|MT Mato Grosso|PA Pará|PB Paraíba|\
            PE Pernambuco|PI Piauí|PR Paraná|RJ Rio de Janeiro|RN Rio Grande do Norte|RO Rondônia|RR Roraima|\
            RS Rio Grande do Sul|SC Santa Catarina|SE Sergipe|SP São Paulo|TO Tocantins""";

    private static final String INDIA = """
            AN Andaman and Nicobar Islands|AP Andhra Pradesh|AR Arunachal Pradesh|AS Assam|BR Bihar|\
            CH Chandigarh|CT Chhattisgarh|DD Daman and Diu|DL Delhi|DN Dadra and Nagar Haveli|GA Goa|GJ Gujarat|\
            HP Himachal Pradesh|HR Haryana|JH Jharkhand|JK Jammu and Kashmir|KA Karnataka|KL Kerala|\
            LD Lakshadweep|MH Maharashtra|ML Meghalaya|MN Manipur|MP Madhya Pradesh|MZ Mizoram|NL Nagaland|\
            OR Odisha|PB Punjab|PY Puducherry|RJ Rajasthan|SK Sikkim|TG Telangana|TN Tamil Nadu|TR Tripura|\
            UP Uttar Pradesh|UT Uttarakhand|WB West Bengal""";

    private static final String MEXICO = """
            AGU Aguascalientes|BCN Baja California|BCS Baja California Sur|CAM Campeche|CHH Chihuahua|\
            CHP Chiapas|CMX Ciudad de México|COA Coahuila de Zaragoza|COL Colima|DUR Durango|GRO Guerrero|\
            GUA Guanajuato|HID Hidalgo|JAL Jalisco|MEX México|MIC Michoacán de Ocampo|MOR Morelos|NAY Nayarit|\
            NLE Nuevo León|OAX Oaxaca|PUE Puebla|QUE Querétaro|ROO Quintana Roo|SIN Sinaloa|SLP San Luis Potosí|\
            SON Sonora|TAB Tabasco|TAM Tamaulipas|TLA Tlaxcala|VER Veracruz de Ignacio de la Llave|YUC Yucatán|\
            ZAC Zacatecas""";

    private static final Map<String, Map<String, String>> BY_COUNTRY = Map.of(
            "CA", read(CANADA), "AU", read(AUSTRALIA), "BR", read(BRAZIL), "IN", read(INDIA), "MX", read(MEXICO));

    private static final Set<String> WITH_LETTERS = Set.of("CA", "AU", "BR");

    private Provinces() {}

    /** Whether the states of a country are known by name here. */
    static boolean areKnownOf(String country) {
        return BY_COUNTRY.containsKey(country);
    }

    /** The code of a state written as code or name, in any case and with or without accents. */
    static Optional<String> read(String country, String text) {
        return Optional.ofNullable(BY_COUNTRY.getOrDefault(country, Map.of()).get(plain(text)));
    }

    /** The letters that stand in an address; empty where names are written out, or it is none. */
    static Optional<String> letters(String country, String text) {
        return WITH_LETTERS.contains(country) ? read(country, text) : Optional.empty();
    }

    private static Map<String, String> read(String names) {
        Map<String, String> codes = new HashMap<>();
        for (String each : names.split("\\|")) {
            int blank = each.indexOf(' ');
            String code = each.substring(0, blank);
            codes.put(plain(code), code);
            codes.put(plain(each.substring(blank + 1)), code);
        }
        return codes;
    }

    private static String plain(String text) {
        return Normalizer.normalize(text, Normalizer.Form.NFD)
                .replaceAll("[^\\p{L}]", "")
                .toLowerCase(Locale.ROOT);
    }
}
