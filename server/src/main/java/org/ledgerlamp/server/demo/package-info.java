/** The Skerry Line, an invented ferry company: loads its meetings the way people would bring them in. */
package org.ledgerlamp.server.demo;
