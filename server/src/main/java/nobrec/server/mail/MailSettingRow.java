package nobrec.server.mail;

/**
 * A row of table mail_setting, without its picture.
 *
 * @param senderAddress empty text while nobody has set one
 * @param replyTo empty text: the sender
 * @param closing what stands below every mail
 * @param publicAddress where customers reach this server; empty text: they do not
 * @param logoType media type of the picture; empty text for none
 */
public record MailSettingRow(
        int version,
        String senderName,
        String senderAddress,
        String replyTo,
        String color,
        String closing,
        String publicAddress,
        String logoType) {

    static final MailSettingRow NONE = new MailSettingRow(0, "", "", "", "#17472f", "", "", "");

    /** The same, reached by customers somewhere else. */
    public MailSettingRow reachedAt(String address) {
        return new MailSettingRow(version, senderName, senderAddress, replyTo, color, closing, address, logoType);
    }

    /** Where customers reach this server, as other addresses are made of it; empty text: they do not. */
    String reachedAt() {
        return publicAddress.strip().replaceAll("/+$", "");
    }
}
