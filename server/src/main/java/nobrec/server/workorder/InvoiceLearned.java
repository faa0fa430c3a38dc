package nobrec.server.workorder;

import nobrec.core.workorder.InvoiceState;

/** The state of a job's invoice became known. Published in the transaction that stores it. */
public record InvoiceLearned(String job, InvoiceState state) {}
