/**
 * What later minutes say of lines of record: what became of an action, which decision changes which. Found in the background
 * once minutes are filed; in pencil or possible until a person inks it.
 */
package org.ledgerlamp.server.links;
