package org.yellowfit.app.web;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.ArrayList;
import java.util.List;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.multipart.MultipartHttpServletRequest;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.util.WebUtils;
import org.yellowfit.core.measure.InvalidInput;
import org.yellowfit.core.measure.Problem;

/** Looks at every text that a form or an address sends, and at the names of files, before anything reads them. */
@Configuration
class TextGate implements WebMvcConfigurer, HandlerInterceptor {

    private static final int LONGEST_FILE_NAME = 255;

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    /** @throws InvalidInput by field */
    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        if (request.getDispatcherType() == DispatcherType.ERROR) {
            return true; // what was refused is not read
        }
        List<Problem> problems = new ArrayList<>();
        request.getParameterMap().forEach((field, values) -> {
            KeptText.check("", field, problems);
            for (String value : values) {
                KeptText.check(field, value, problems);
            }
        });
        MultipartHttpServletRequest files = WebUtils.getNativeRequest(request, MultipartHttpServletRequest.class);
        if (files != null) {
            files.getFileMap().forEach((field, file) -> checkName(field, file, problems));
        }
        if (!problems.isEmpty()) {
            throw new InvalidInput(problems);
        }
        return true;
    }

    private static void checkName(String field, MultipartFile file, List<Problem> problems) {
        String name = file.getOriginalFilename() == null ? "" : file.getOriginalFilename();
        KeptText.check(field, name, problems);
        if (name.length() > LONGEST_FILE_NAME) {
            problems.add(new Problem(field, "The name of the file is longer than %s characters.", LONGEST_FILE_NAME));
        }
    }
}
