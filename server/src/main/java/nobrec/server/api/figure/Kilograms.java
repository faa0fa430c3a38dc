package nobrec.server.api.figure;

import java.math.BigDecimal;

/** Weights as customs reads them. */
public final class Kilograms {

    private static final int GRAM_PLACES = 3;

    private Kilograms() {}

    /** To the gram: {@code 1.905 kg}. */
    public static String show(long grams) {
        return BigDecimal.valueOf(grams, GRAM_PLACES).toPlainString() + " kg";
    }
}
