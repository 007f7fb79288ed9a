package saltdrum.cli.bench;

import java.util.concurrent.Callable;
import picocli.CommandLine.Command;

@Command(name = "bench", description = "Measures against the budgets.")
public final class BenchCommand implements Callable<Integer> {
    @Override
    public Integer call() {
        return 0;
    }
}
