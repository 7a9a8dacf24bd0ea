package org.ledgerlamp.server.post;

import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;

/** Somebody to whom a letter goes. */
public record Recipient(@NotBlank @Size(max = 120) String name, @NotBlank @Email @Size(max = 254) String address) {
    boolean isSame(String other) {
        return address.strip().equalsIgnoreCase(other.strip());
    }
}
