/** What every feature stands on: rows that belong to a team, JSON columns, errors, versions. */
@org.springframework.modulith.ApplicationModule(type = org.springframework.modulith.ApplicationModule.Type.OPEN)
package org.ledgerlamp.server.common;
