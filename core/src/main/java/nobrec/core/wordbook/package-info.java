/** The words of a source: what each means here, and which known word one that is not known may mean. */
package nobrec.core.wordbook;
