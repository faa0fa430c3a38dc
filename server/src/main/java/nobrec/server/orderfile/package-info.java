/** Files with work orders: dropped on Jobs or left in a watched folder, read by a layout, their faults given back. */
package nobrec.server.orderfile;
