package nobrec.server.workorder.list;

/**
 * A list that is kept under a name.
 *
 * @param owner sign-in of the person whose it is; empty text for all of the shop
 * @param query words of its address
 * @param isStart what Jobs shows its owner first
 */
record JobViewRow(long id, String owner, String name, String query, boolean isStart) {}
