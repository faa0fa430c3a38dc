/** Sheets of stickers: how they are made up, and how they are drawn. */
package nobrec.server.document.sticker;
