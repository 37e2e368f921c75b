package vastarc.web.ui;

import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.ResponseStatus;

/** What was asked for is not here: the error page says where to go instead. */
@ResponseStatus(HttpStatus.NOT_FOUND)
public class NotFound extends RuntimeException {

    private static final long serialVersionUID = 1L;

    public NotFound(String what) {
        super(what, null, false, false);
    }
}
