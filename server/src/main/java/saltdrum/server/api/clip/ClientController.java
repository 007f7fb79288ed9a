package saltdrum.server.api.clip;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import saltdrum.core.BadInputException;
import saltdrum.core.FromOutside;
import saltdrum.core.cue.Recipe;
import saltdrum.core.text.Quoted;
import saltdrum.server.api.Audited;
import saltdrum.server.store.clip.ClientRow;
import saltdrum.server.store.clip.ClientStore;
import saltdrum.server.store.people.AuditLog;
import saltdrum.server.store.style.StyleStore;

@Tag(name = "clients")
@RestController
@RequestMapping("/api")
class ClientController {
    private final ClientStore clients;
    private final StyleStore styles;
    private final AuditLog audit;

    ClientController(ClientStore clients, StyleStore styles, AuditLog audit) {
        this.audit = audit;
        this.clients = clients;
        this.styles = styles;
    }

    record NameRequest(String name) implements FromOutside {}

    /** @param own saved for this client, or null if it has none */
    record RecipesView(List<Recipe> shipped, List<Recipe> own) {}

    @Operation(summary = "All clients, by name")
    @GetMapping("/clients")
    List<ClientRow> all() {
        return clients.all();
    }

    @Operation(summary = "The client of that name, made where there is none")
    @PostMapping("/clients")
    ClientRow named(@RequestBody NameRequest request) {
        String name = request.name() == null ? "" : request.name().strip();
        boolean fresh = clients.all().stream().noneMatch(one -> one.name().equals(name));
        ClientRow client = clients.named(name);
        if (fresh) {
            audit.add("Made a client", client.name());
        }
        return client;
    }

    @Operation(summary = "The recipes that ship, and those saved for a client, or for the workshop")
    @GetMapping("/recipes")
    RecipesView recipes(@RequestParam(required = false) Long client) {
        return new RecipesView(Recipe.BUILT_IN, clients.recipes(client));
    }

    @Operation(summary = "Saves a recipe under its name")
    @Audited("Saved a recipe")
    @PutMapping("/recipes")
    RecipesView save(@RequestParam(required = false) Long client, @RequestBody Recipe recipe) {
        if (recipe.name().length() > 40) {
            throw new BadInputException("A recipe's name has at most 40 letters.");
        }
        if (Recipe.BUILT_IN.stream().anyMatch(built -> built.name().equalsIgnoreCase(recipe.name()))) {
            throw new BadInputException(
                    Quoted.of(recipe.name()) + " is a recipe that ships. Save yours under another name.");
        }
        clients.save(client, recipe);
        return recipes(client);
    }

    @Audited("Deleted a recipe")
    @DeleteMapping("/recipes/{name}")
    RecipesView remove(@RequestParam(required = false) Long client, @PathVariable String name) {
        clients.removeRecipe(client, name);
        return recipes(client);
    }

    /** @param style null for none */
    record ClientStyleRequest(String style) {}

    record ClientStyleView(String style) {}

    @Operation(summary = "The style that new clips of a client start with")
    @GetMapping("/clients/{client}/style")
    ClientStyleView style(@PathVariable long client) {
        return new ClientStyleView(clients.style(client));
    }

    @Audited("Settled the style that new clips start with")
    @PutMapping("/clients/{client}/style")
    ClientStyleView startWith(@PathVariable long client, @RequestBody ClientStyleRequest request) {
        clients.startWith(
                client,
                request.style() == null ? null : styles.row(request.style(), 0).name());
        return style(client);
    }
}
