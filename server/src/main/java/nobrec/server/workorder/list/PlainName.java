package nobrec.server.workorder.list;

import nobrec.server.platform.PlainText;

/** A name, and how parts of it are looked for: in small letters without accents. */
record PlainName(NameKind kind, String name, String plain) {

    PlainName(NameKind kind, String name) {
        this(kind, name, PlainText.of(name));
    }
}
