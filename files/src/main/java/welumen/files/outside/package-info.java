/** Files that somebody brings: looked at before a byte of them is read. */
@org.jspecify.annotations.NullMarked
package welumen.files.outside;
