package org.ledgerlamp.server.post;

import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.Nullable;

/**
 * What a member says of the mail server.
 *
 * @param username with which to sign in, or null
 * @param secret null keeps the one there is
 * @param sender address that letters come from
 */
record MailAccountFacts(
        @NotBlank @Size(max = 255) @Pattern(regexp = "[A-Za-z0-9.:_-]+") String host,
        @Min(1) @Max(65535) int port,
        @NotNull Safety safety,
        @Nullable @Size(max = 254) String username,
        @Nullable @Size(max = 500) String secret,
        @NotBlank @Email @Size(max = 254) String sender,
        @NotBlank @Size(max = 120) String senderName) {}
