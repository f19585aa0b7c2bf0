package org.soberhem.desk.shell;

import java.io.IOException;
import java.util.concurrent.TimeoutException;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.soberhem.studio.Studio;
import org.testfx.api.FxToolkit;
import org.testfx.framework.junit5.ApplicationExtension;

/** A walk through the real window on a fresh demo. */
@ExtendWith(ApplicationExtension.class)
abstract class DemoJourney {

    DemoWindow window;
    Studio studio;

    // The toolkit's extension finds a start method in the class of the test only.
    @BeforeEach
    void open() throws TimeoutException {
        FxToolkit.setupStage(stage -> {
            window = DemoWindow.open(stage);
            studio = window.studio;
        });
    }

    @AfterEach
    void close() throws IOException {
        window.close();
    }
}
