package nobrec.core.charging;

import java.util.regex.Pattern;
import nobrec.core.notation.Quoted;
import nobrec.core.notation.Reading;

/** The number of an account with a carrier, whoever holds it. Carriers write them differently: only the form is checked. */
public final class AccountNumber {

    private static final Pattern FORM = Pattern.compile("[A-Za-z0-9][A-Za-z0-9 /-]{2,39}");
    private static final String REMEDY = "Write letters, digits, blanks and hyphens, three to forty of them.";

    private AccountNumber() {}

    public static Reading<String> read(String text) {
        String account = text.strip();
        if (FORM.matcher(account).matches()) {
            return Reading.of(account);
        }
        return account.isEmpty()
                ? Reading.refused("There is none.", REMEDY)
                : Reading.refused(Quoted.of(account) + " does not read as one.", REMEDY);
    }
}
