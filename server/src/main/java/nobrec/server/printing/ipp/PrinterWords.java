package nobrec.server.printing.ipp;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** What printers give as reasons (RFC 8011, 5.4.12 and 5.3.8), in the words of whoever stands before them. */
final class PrinterWords {

    private static final Map<String, String> WORDS = words();

    private PrinterWords() {}

    private static Map<String, String> words() {
        Map<String, String> words = new LinkedHashMap<>();
        words.put("media-empty", "It is out of paper.");
        words.put("media-needed", "It wants other paper.");
        words.put("media-jam", "Paper is jammed in it.");
        words.put("media-low", "");
        words.put("toner-empty", "It is out of toner.");
        words.put("toner-low", "");
        words.put("marker-supply-empty", "It is out of ink or ribbon.");
        words.put("marker-supply-low", "");
        words.put("cover-open", "Its cover is open.");
        words.put("door-open", "Its door is open.");
        words.put("paused", "Somebody has paused it.");
        words.put("moving-to-paused", "Somebody has paused it.");
        words.put("shutdown", "It is switched off.");
        words.put("input-tray-missing", "Its tray is missing.");
        words.put("output-area-full", "Its output is full.");
        words.put("job-canceled-by-user", "Somebody gave it up at the printer.");
        words.put("job-canceled-at-device", "Somebody gave it up at the printer.");
        words.put("aborted-by-system", "The printer gave it up.");
        words.put("document-format-error", "The printer cannot read it.");
        words.put("unsupported-document-format", "The printer cannot read it.");
        words.put("printer-stopped", "");
        words.put("job-printing", "");
        words.put("job-incoming", "");
        words.put("job-queued", "");
        words.put("job-completed-successfully", "");
        words.put("none", "");
        return words;
    }

    /** Empty text where none of them hinders anything. */
    static String of(List<String> reasons) {
        return reasons.stream()
                .map(reason -> reason.replaceFirst("-(error|warning|report)$", ""))
                .map(reason -> WORDS.getOrDefault(reason, "It says “" + reason + "”."))
                .filter(words -> !words.isEmpty())
                .distinct()
                .collect(Collectors.joining(" "));
    }
}
