package fairacre.server.security;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.IpAddressAuthorizationManager;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.savedrequest.NullRequestCache;

/** Who may ask for what, and what every answer tells the browser. */
@Configuration
class SecurityConfiguration {

    /**
     * Nothing from elsewhere and no script in the page itself. Styles may stand in the page: the front end's dialogs
     * put one there to keep the page behind them from scrolling.
     */
    private static final String CONTENT_SECURITY_POLICY = "default-src 'none'; script-src 'self';"
            + " style-src 'self' 'unsafe-inline'; img-src 'self' data:; font-src 'self'; connect-src 'self'; manifest-src 'self';"
            + " base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    private static final int BCRYPT_STRENGTH = 11;

    @Bean
    SecurityFilterChain filterChain(HttpSecurity http, SecurityContextRepository contexts) throws Exception {
        return http.securityContext(context -> context.securityContextRepository(contexts))
                .csrf(csrf -> csrf.spa())
                .requestCache(cache -> cache.requestCache(new NullRequestCache()))
                .formLogin(form -> form.disable())
                .httpBasic(basic -> basic.disable())
                .logout(logout -> logout.disable())
                .authorizeHttpRequests(requests -> requests.requestMatchers(
                                "/api/session",
                                "/api/session/demo",
                                "/api/session/recovery",
                                "/api/links/*",
                                "/api/catalogue",
                                "/api/openapi",
                                "/api/calendars/*",
                                "/actuator/health",
                                "/actuator/health/*")
                        .permitAll()
                        .requestMatchers(HttpMethod.POST, "/api/accounts")
                        .permitAll()
                        .requestMatchers("/api/**")
                        .authenticated()
                        .requestMatchers("/actuator/metrics/**")
                        .access(IpAddressAuthorizationManager.hasIpAddress("127.0.0.1"))
                        .requestMatchers("/actuator/**")
                        .denyAll()
                        .anyRequest()
                        .permitAll())
                .exceptionHandling(handling -> handling.authenticationEntryPoint(
                                (request, response, failure) -> SecurityProblems.notSignedIn(response))
                        .accessDeniedHandler((request, response, failure) -> SecurityProblems.denied(response)))
                .headers(headers -> headers.contentSecurityPolicy(
                                policy -> policy.policyDirectives(CONTENT_SECURITY_POLICY))
                        // A machine at home may serve other programs, under the same name and without HTTPS.
                        .httpStrictTransportSecurity(transport -> transport.disable())
                        .referrerPolicy(policy -> policy.policy(ReferrerPolicy.SAME_ORIGIN))
                        .permissionsPolicyHeader(policy -> policy.policy("camera=(), microphone=(), geolocation=()")))
                .build();
    }

    @Bean
    SecurityContextRepository securityContextRepository() {
        return new HttpSessionSecurityContextRepository();
    }

    @Bean
    PasswordEncoder passwordEncoder() {
        return new BCryptPasswordEncoder(BCRYPT_STRENGTH);
    }

    /** Signing in is done by {@link SignIn}; this keeps Boot from inventing a user with a printed password. */
    @Bean
    UserDetailsService noUsers() {
        return name -> {
            throw new UsernameNotFoundException("not used");
        };
    }
}
