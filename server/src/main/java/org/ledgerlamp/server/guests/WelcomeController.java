package org.ledgerlamp.server.guests;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Where a guest chooses a password. The key in the address stands for them; it is good once. */
@RestController
class WelcomeController {
    private final GuestService guests;

    WelcomeController(GuestService guests) {
        this.guests = guests;
    }

    record ChosenPassword(@NotBlank @Size(min = 10, max = 72) String password) {}

    /** @param email to sign in with */
    record Welcomed(String email) {}

    @PostMapping("/api/welcome/{key}")
    Welcomed welcome(@PathVariable String key, @Valid @RequestBody ChosenPassword chosen) {
        return new Welcomed(guests.welcome(key, chosen.password()));
    }
}
