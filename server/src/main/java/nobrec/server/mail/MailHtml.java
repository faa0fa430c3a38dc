package nobrec.server.mail;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.springframework.web.util.HtmlUtils;

/**
 * A mail as HTML, in the shop's color: tables and styles in the elements, since mail programs know no more; as wide as a phone where there
 * is no more room. All that is written is escaped.
 */
final class MailHtml {

    private static final Pattern BOLD = Pattern.compile("\\*\\*(.+?)\\*\\*");
    private static final Pattern LINK = Pattern.compile("https?://[^\\s<>\"]+[^\\s<>\".,;:!?)]");
    private static final String LIST_MARK = "- ";

    private MailHtml() {}

    /** @param logo whether a picture stands above, as {@code cid:logo} or where {@code logoSource} says */
    static String of(String text, MailSettingRow look, Optional<String> logoSource, Optional<String> stopLink) {
        String logo = logoSource
                .map(source -> "<img src=\"" + escaped(source) + "\" alt=\"" + escaped(look.senderName())
                        + "\" style=\"max-width:220px;height:auto;display:block\">")
                .orElse("<strong style=\"font-size:20px\">" + escaped(look.senderName()) + "</strong>");
        String stop = stopLink.map(link -> "<p style=\"margin:12px 0 0\"><a href=\"" + escaped(link)
                        + "\" style=\"color:#555555\">No more of these emails</a></p>")
                .orElse("");
        return "<!DOCTYPE html><html lang=\"en\"><head><meta charset=\"utf-8\">"
                + "<meta name=\"viewport\" content=\"width=device-width,initial-scale=1\"></head>"
                + "<body style=\"margin:0;background:#f2f2f2\">"
                + "<table role=\"presentation\" width=\"100%\" cellpadding=\"0\" cellspacing=\"0\"><tr><td align=\"center\">"
                + "<table role=\"presentation\" cellpadding=\"0\" cellspacing=\"0\" style=\"width:100%;max-width:600px;"
                + "background:#ffffff;font-family:Arial,Helvetica,sans-serif;font-size:16px;line-height:1.5;color:#222222\">"
                + "<tr><td style=\"padding:20px;border-top:6px solid " + look.color() + "\">" + logo + "</td></tr>"
                + "<tr><td style=\"padding:0 20px 20px\">" + blocks(text, look.color()) + "</td></tr>"
                + "<tr><td style=\"padding:16px 20px;border-top:1px solid #dddddd;font-size:13px;color:#555555\">"
                + escaped(look.closing()).replace("\n", "<br>") + stop + "</td></tr>"
                + "</table></td></tr></table></body></html>";
    }

    /** The same for programs that show text only. */
    static String plain(String text, MailSettingRow look, Optional<String> stopLink) {
        StringBuilder plain =
                new StringBuilder(BOLD.matcher(text).replaceAll("$1").strip());
        if (!look.closing().isBlank()) {
            plain.append("\n\n-- \n").append(look.closing().strip());
        }
        stopLink.ifPresent(link -> plain.append("\n\nNo more of these emails: ").append(link));
        return plain.append('\n').toString();
    }

    private static String blocks(String text, String color) {
        return text.strip().replace("\r", "").transform(each -> List.of(each.split("\n\\s*\n"))).stream()
                .map(block -> block(block.strip(), color))
                .collect(Collectors.joining());
    }

    private static String block(String block, String color) {
        List<String> html = new ArrayList<>();
        List<String> items = new ArrayList<>();
        List<String> lines = new ArrayList<>();
        for (String line : block.split("\n")) {
            if (line.startsWith(LIST_MARK)) {
                flush(lines, html);
                items.add("<li>" + inline(line.substring(LIST_MARK.length()), color) + "</li>");
            } else {
                flushItems(items, html);
                lines.add(inline(line, color));
            }
        }
        flush(lines, html);
        flushItems(items, html);
        return String.join("", html);
    }

    private static void flush(List<String> lines, List<String> html) {
        if (!lines.isEmpty()) {
            html.add("<p style=\"margin:0 0 14px\">" + String.join("<br>", lines) + "</p>");
            lines.clear();
        }
    }

    private static void flushItems(List<String> items, List<String> html) {
        if (!items.isEmpty()) {
            html.add("<ul style=\"margin:0 0 14px;padding-left:22px\">" + String.join("", items) + "</ul>");
            items.clear();
        }
    }

    private static String inline(String line, String color) {
        String escaped = BOLD.matcher(escaped(line)).replaceAll("<strong>$1</strong>");
        return LINK.matcher(escaped)
                .replaceAll(found -> Matcher.quoteReplacement(
                        "<a href=\"" + found.group() + "\" style=\"color:" + color + "\">" + found.group() + "</a>"));
    }

    private static String escaped(String text) {
        return HtmlUtils.htmlEscape(text);
    }
}
