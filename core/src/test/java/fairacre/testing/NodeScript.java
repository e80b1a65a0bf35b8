package fairacre.testing;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;

/** Programs of others in Node.js, against which files and networks are held; the test command installs them. */
public final class NodeScript {

    private static final Path SCRIPTS = Path.of("src/test/node");

    private NodeScript() {}

    /** What a script writes for what it is given. */
    public static String run(String script, String given) throws IOException, InterruptedException {
        assertThat(SCRIPTS.resolve("node_modules"))
                .as("./fairacre test installs it; by hand: npm ci --prefix core/src/test/node")
                .exists();
        Path input = Files.createTempFile("given", ".txt");
        Path output = Files.createTempFile("answer", ".json");
        Files.writeString(input, given);
        Process node = new ProcessBuilder("node", SCRIPTS.resolve(script).toString())
                .redirectInput(input.toFile())
                .redirectOutput(output.toFile())
                .redirectErrorStream(true)
                .start();
        int status = node.waitFor();
        String answer = Files.readString(output, StandardCharsets.UTF_8);
        Files.delete(input);
        Files.delete(output);
        assertThat(status).as(answer).isZero();
        return answer;
    }
}
