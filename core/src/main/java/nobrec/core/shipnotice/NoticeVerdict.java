package nobrec.core.shipnotice;

/**
 * What a partner says of one notice.
 *
 * @param reference the number of the notice, or the control number under which it was sent
 * @param accepted whether it can be used, perhaps with faults
 * @param said in words
 */
public record NoticeVerdict(String reference, boolean accepted, String said) {}
