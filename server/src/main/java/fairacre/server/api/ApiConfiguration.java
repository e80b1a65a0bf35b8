package fairacre.server.api;

import fairacre.format.GardenJson;
import fairacre.server.garden.MemberService;
import fairacre.server.turn.Turns;
import java.time.Duration;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** JSON in the notation of the garden file, and the front end's own addresses. */
@Configuration
class ApiConfiguration implements WebMvcConfigurer {

    /** Requests of one account that are worked on at once: as many as a browser sends to one address. */
    private static final int AT_ONCE = 6;

    private static final int MOST_WAITING = 32;
    private static final Duration PATIENCE = Duration.ofSeconds(30);
    private static final Duration NEVER = Duration.ofDays(1);
    private static final Duration A_YEAR = Duration.ofDays(365);

    /** Whole judgements have a deadline of their own; an edit is made however long it takes to judge what it did. */
    private static final String[] WITHOUT_DEADLINE = {
        "/api/gardens/*/appraisal",
        "/api/gardens/*/changes",
        "/api/gardens/*/undo",
        "/api/gardens/*/redo",
        "/api/gardens/*/history/*/back",
        "/api/gardens/*/events",
        "/api/gardens/*/variants/*/take",
    };

    private final Roles roles;
    private final Turns turns;
    private final Duration longest;

    /** @param longest processor time that a request may take */
    ApiConfiguration(MemberService members, Turns turns, @Value("${fairacre.requests.longest}") Duration longest) {
        this.roles = new Roles(members);
        this.turns = turns;
        this.longest = longest;
    }

    @Bean
    JsonMapperBuilderCustomizer gardenNotation() {
        return GardenJson::configure;
    }

    @Override
    public void addInterceptors(InterceptorRegistry interceptors) {
        interceptors
                .addInterceptor(new FairShare(AT_ONCE, MOST_WAITING, PATIENCE))
                .addPathPatterns("/api/**");
        interceptors
                .addInterceptor(new Deadline(turns, longest))
                .addPathPatterns("/api/**")
                .excludePathPatterns(WITHOUT_DEADLINE);
        interceptors.addInterceptor(new Deadline(turns, NEVER)).addPathPatterns(WITHOUT_DEADLINE);
        interceptors.addInterceptor(roles).addPathPatterns("/api/**");
    }

    @Override
    public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
        resolvers.add(roles);
    }

    /** Scripts, styles and fonts have their hash in their names: what a browser has of them it has for good. */
    @Override
    public void addResourceHandlers(ResourceHandlerRegistry resources) {
        resources
                .addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(CacheControl.maxAge(A_YEAR).cachePublic().immutable());
    }

    /** The front end finds its way by itself from any of these. */
    @Override
    public void addViewControllers(ViewControllerRegistry views) {
        views.addViewController("/").setViewName("forward:/index.html");
        views.addViewController("/account").setViewName("forward:/index.html");
        views.addViewController("/guide").setViewName("forward:/index.html");
        views.addViewController("/recovery").setViewName("forward:/index.html");
        views.addViewController("/look/{secret}").setViewName("forward:/index.html");
        views.addViewController("/gardens").setViewName("forward:/index.html");
        views.addViewController("/gardens/{garden}").setViewName("forward:/index.html");
        views.addViewController("/gardens/{garden}/shopping").setViewName("forward:/index.html");
    }
}
