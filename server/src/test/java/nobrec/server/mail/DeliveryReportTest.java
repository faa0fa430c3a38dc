package nobrec.server.mail;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Reports after the examples in appendix E of RFC 3464 (from memory, with other addresses and a Message-ID of ours). */
class DeliveryReportTest {

    private static final String KEY = "0c9a3f62-5d41-4e0b-9f6e-2f8f3a7b1c55";

    private static final String FOR_FIVE_DAYS = """
            Date: Thu, 7 Jul 1994 17:16:05 -0400
            From: Mail Delivery Subsystem <MAILER-DAEMON@cs.example>
            Message-Id: <199407072116.RAA14128@cs.example>
            Subject: Returned mail: Cannot send message for 5 days
            To: <owner-info@cs.example>
            MIME-Version: 1.0
            Content-Type: multipart/report; report-type=delivery-status;
                  boundary="RAA14128.773615765/cs.example"

            --RAA14128.773615765/cs.example

            The original message was received at Sat, 2 Jul 1994 17:10:28 -0400
            Message could not be delivered for 5 days
            Message will be deleted from queue

            --RAA14128.773615765/cs.example
            content-type: message/delivery-status

            Reporting-MTA: dns; cs.example

            %s
            Original-Recipient: rfc822;louisl@larry.example
            Final-Recipient: rfc822;louisl@larry.example
            Action: failed
            Status: 4.0.0
            Diagnostic-Code: smtp; 426 connection timed
              out
            Last-Attempt-Date: Thu, 7 Jul 1994 17:15:49 -0400

            --RAA14128.773615765/cs.example
            content-type: message/rfc822

            Message-Id: <%s@marrowby.example>
            Subject: Your order

            Gone.

            --RAA14128.773615765/cs.example--
            """;

    private static final String ARRIVED = """
            Original-Recipient: rfc822;arathib@vnet.example
            Final-Recipient: rfc822;arathib@vnet.example
            Action: delivered
            Status: 2.0.0

            """;

    private static Optional<DeliveryReport> read(String mail) {
        return DeliveryReport.read(mail.replace("\n", "\r\n").getBytes(StandardCharsets.US_ASCII));
    }

    @Test
    void whatCouldNotBeDeliveredIsReadWithItsReason() {
        assertThat(read(FOR_FIVE_DAYS.formatted("", KEY).replace("\n\n\n", "\n\n")))
                .contains(new DeliveryReport(KEY, "louisl@larry.example", true, "426 connection timed out"));
    }

    @Test
    void oneRecipientWhomItNeverReachesCountsBeforeOthers() {
        assertThat(read(FOR_FIVE_DAYS.formatted(ARRIVED.strip() + "\n", KEY)))
                .contains(new DeliveryReport(KEY, "louisl@larry.example", true, "426 connection timed out"));
    }

    @Test
    void whatIsCutOffAfterTheHeadOfOurMailIsReadAllTheSame() {
        String whole = FOR_FIVE_DAYS.formatted(ARRIVED.strip() + "\n", KEY);
        assertThat(read(whole.substring(0, whole.indexOf("Gone.")))).isPresent();
        for (int length = 0; length < whole.length(); length += 7) {
            read(whole.substring(0, length))
                    .ifPresent(report -> assertThat(report.key()).isEqualTo(KEY));
        }
    }

    @Test
    void reportsAboutMailThatIsNotOursAreNone() {
        assertThat(read(FOR_FIVE_DAYS.formatted("", "199407072116.RAA14128").replace("\n\n\n", "\n\n")))
                .isEmpty();
        assertThat(read("Subject: Good day\n\nHow are you?\n")).isEmpty();
    }
}
