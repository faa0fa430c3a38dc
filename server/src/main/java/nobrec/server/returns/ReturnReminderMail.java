package nobrec.server.returns;

/** Whoever writes to customers that something should be coming back. */
public interface ReturnReminderMail {

    /** Whether one is written at all. */
    boolean isOn();

    /**
     * To be called in a transaction.
     *
     * @return how many are written: none where nobody's address is known, or whoever it would go to wants none
     */
    int write(ReturnReminder reminder);
}
