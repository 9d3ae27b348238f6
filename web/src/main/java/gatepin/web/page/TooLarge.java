package gatepin.web.page;

import org.springframework.http.HttpStatus;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.multipart.MaxUploadSizeExceededException;

/** A file beyond the limit is refused while it comes in; the page says so. */
@ControllerAdvice
class TooLarge {
    @ExceptionHandler(MaxUploadSizeExceededException.class)
    @ResponseStatus(HttpStatus.PAYLOAD_TOO_LARGE)
    String tooLarge(Model model) {
        model.addAttribute("tooLarge", true);
        return "error";
    }
}
