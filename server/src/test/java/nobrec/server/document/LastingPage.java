package nobrec.server.document;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import org.verapdf.gf.foundry.VeraGreenfieldFoundryProvider;
import org.verapdf.pdfa.Foundries;
import org.verapdf.pdfa.PDFAParser;
import org.verapdf.pdfa.PDFAValidator;
import org.verapdf.pdfa.flavours.PDFAFlavour;
import org.verapdf.pdfa.results.ValidationResult;

/** Whether a paper is PDF/A-2b (ISO 19005-2), by veraPDF. */
public final class LastingPage {

    static {
        VeraGreenfieldFoundryProvider.initialise();
    }

    private LastingPage() {}

    public static void assertIsPdfA(byte[] pdf) throws Exception {
        try (PDFAParser parser =
                        Foundries.defaultInstance().createParser(new ByteArrayInputStream(pdf), PDFAFlavour.PDFA_2_B);
                PDFAValidator validator = Foundries.defaultInstance().createValidator(PDFAFlavour.PDFA_2_B, false)) {
            ValidationResult result = validator.validate(parser);
            assertThat(result.isCompliant())
                    .as("%s", result.getTestAssertions())
                    .isTrue();
        }
    }
}
