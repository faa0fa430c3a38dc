package nobrec.server.workorder.list;

/** What a name that is looked for is the name of. */
enum NameKind {
    CUSTOMER,
    RECEIVER,
    CITY,
    ITEM
}
