package saltdrum.server.store.clip;

import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import saltdrum.core.BadInputException;
import saltdrum.core.cue.Recipe;
import saltdrum.server.store.NotFoundException;

/** Clients and the recipes saved for them. A client id of null is the workshop itself. */
@Component
public class ClientStore {
    private static final int LONGEST_NAME = 80;

    private final ClientMapper mapper;

    ClientStore(ClientMapper mapper) {
        this.mapper = mapper;
    }

    public List<ClientRow> all() {
        return mapper.all();
    }

    /**
     * The client of that name, made where there is none.
     *
     * @throws BadInputException if it is empty or too long
     */
    @Transactional
    public ClientRow named(String name) {
        if (name.isBlank() || name.length() > LONGEST_NAME) {
            throw new BadInputException("A client's name has 1 to " + LONGEST_NAME + " letters.");
        }
        mapper.add(name);
        return mapper.named(name);
    }

    /** @throws NotFoundException for an id that is not there; null is */
    public void check(Long id) {
        if (id != null && mapper.find(id) == null) {
            throw new NotFoundException("That client no longer exists.");
        }
    }

    public List<Recipe> recipes(Long clientId) {
        return mapper.recipes(clientId);
    }

    public void save(Long clientId, Recipe recipe) {
        check(clientId);
        mapper.saveRecipe(clientId, recipe.name(), recipe);
    }

    public void removeRecipe(Long clientId, String name) {
        if (mapper.removeRecipe(clientId, name) == 0) {
            throw new NotFoundException("That recipe no longer exists.");
        }
    }

    /** Name of the style that its new clips start with; null for none. */
    public String style(long clientId) {
        check(clientId);
        return mapper.style(clientId);
    }

    /** @param style name of a style that is there; null for none */
    public void startWith(long clientId, String style) {
        check(clientId);
        mapper.startWith(clientId, style);
    }
}
