package saltdrum.server.access;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnWebApplication;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.convert.converter.Converter;
import org.springframework.core.convert.support.GenericConversionService;
import org.springframework.core.serializer.support.DeserializingConverter;
import org.springframework.core.serializer.support.SerializationFailedException;
import org.springframework.core.serializer.support.SerializingConverter;
import org.springframework.http.HttpMethod;
import org.springframework.security.authentication.ProviderManager;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;
import org.springframework.security.web.webauthn.management.PublicKeyCredentialUserEntityRepository;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.session.web.http.DefaultCookieSerializer;
import saltdrum.server.access.http.Problem;
import saltdrum.server.access.signin.PasskeyFaults;
import saltdrum.server.access.signin.Passkeys;
import saltdrum.server.access.signin.SecondStep;
import saltdrum.server.access.signin.SignIn;
import saltdrum.server.access.signin.SignInDetails;
import saltdrum.server.access.signin.SignInEmail;
import saltdrum.server.access.signin.TwoStepProvider;
import saltdrum.server.store.people.PersonRow;
import saltdrum.server.store.people.PersonStore;
import saltdrum.server.store.people.Role;

/** Sessions, cookies and CSRF protection by Spring Security; the access rules are in {@link Access}. */
@Configuration
@ConditionalOnWebApplication
class SecuritySettings {
    private static final String SESSION = "/api/session";
    private static final PathPatternRequestMatcher SIGNS_IN =
            PathPatternRequestMatcher.withDefaults().matcher(HttpMethod.POST, SESSION);

    @Bean
    SecurityFilterChain security(
            HttpSecurity http,
            SignIn signIn,
            SignInOutcomes outcomes,
            UserDetailsService whoSignsIn,
            PasswordEncoder encoder,
            SecondStep secondStep,
            @Value("${management.server.port:}") String metricsPort)
            throws Exception {
        http.requestCache(AbstractHttpConfigurer::disable).httpBasic(AbstractHttpConfigurer::disable);
        if (!signIn.required()) {
            return open(http);
        }
        // No other one besides, which would let in by the password alone.
        http.authenticationManager(new ProviderManager(new TwoStepProvider(whoSignsIn, encoder, secondStep)));
        if (signIn.passkeyHost() != null) {
            http.webAuthn(passkeys -> passkeys.rpName("Salt Drum")
                    .rpId(signIn.passkeyHost())
                    .allowedOrigins(signIn.url())
                    .disableDefaultRegistrationPage(true));
        }
        return closed(http, outcomes, metricsPort);
    }

    /** Allows everything to local callers; {@link LocalCallersOnly} refuses all others. */
    private static SecurityFilterChain open(HttpSecurity http) throws Exception {
        return http.authorizeHttpRequests(all -> all.anyRequest().permitAll())
                .sessionManagement(sessions -> sessions.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .csrf(AbstractHttpConfigurer::disable)
                .headers(AbstractHttpConfigurer::disable)
                .formLogin(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .build();
    }

    private static SecurityFilterChain closed(HttpSecurity http, SignInOutcomes outcomes, String metricsPort)
            throws Exception {
        PathPatternRequestMatcher.Builder paths = PathPatternRequestMatcher.withDefaults();
        http.authorizeHttpRequests(asked -> {
            // What goes on of an answer that was allowed.
            asked.dispatcherTypeMatchers(DispatcherType.ASYNC, DispatcherType.ERROR, DispatcherType.FORWARD)
                    .permitAll();
            for (Access.Line line : Access.LINES) {
                if (line.access() == Access.NOBODY && !metricsPort.isBlank()) {
                    // They have a port of their own, which only this machine reaches.
                    continue;
                }
                var matched = asked.requestMatchers(paths.matcher(line.method(), line.path()));
                switch (line.access()) {
                    case ANYBODY -> matched.permitAll();
                    case ONESELF -> matched.authenticated();
                    case SIGNED_IN -> matched.hasAnyRole(Role.REVIEWER.name(), Role.DESIGNER.name(), Role.OWNER.name());
                    case DESIGNER -> matched.hasAnyRole(Role.DESIGNER.name(), Role.OWNER.name());
                    case OWNER -> matched.hasRole(Role.OWNER.name());
                    case NOBODY -> matched.denyAll();
                }
            }
        });
        return http.csrf(csrf -> csrf.spa().csrfTokenRepository(forgeryCookie()))
                .formLogin(form -> form.loginPage("/")
                        .loginProcessingUrl(SESSION)
                        .usernameParameter("email")
                        .passwordParameter("password")
                        .authenticationDetailsSource(SignInDetails::new)
                        .successHandler(outcomes::signedIn)
                        .failureHandler(outcomes::refused))
                .logout(logout -> logout.logoutRequestMatcher(paths.matcher(HttpMethod.DELETE, SESSION))
                        .logoutSuccessHandler(outcomes::signedOut))
                .exceptionHandling(refused -> refused.authenticationEntryPoint((request, response, why) ->
                                Problem.write(response, 401, "Sign in first. Nothing was changed."))
                        .accessDeniedHandler((request, response, why) -> Problem.write(
                                response,
                                403,
                                "You do not have permission for this. Nothing was changed. If "
                                        + "this page has been open for long, reload it.")))
                .addFilterBefore(new PasskeyFaults(), UsernamePasswordAuthenticationFilter.class)
                .addFilterBefore(outcomes.limit(), UsernamePasswordAuthenticationFilter.class)
                .build();
    }

    /** The person whose sign-in is attempted. */
    static String tried(HttpServletRequest request) {
        return SignInEmail.of(request.getParameter("email"));
    }

    /** The person and the caller's address. */
    static String pair(HttpServletRequest request) {
        return tried(request) + " from " + request.getRemoteAddr();
    }

    static boolean signsIn(HttpServletRequest request) {
        return SIGNS_IN.matches(request);
    }

    /** The page reads it; no other site's call brings it along. */
    private static CookieCsrfTokenRepository forgeryCookie() {
        CookieCsrfTokenRepository cookie = CookieCsrfTokenRepository.withHttpOnlyFalse();
        cookie.setCookieCustomizer(made -> made.sameSite("Lax"));
        return cookie;
    }

    /** The only role of a person who still has to set up a second step. */
    static final String NEWCOMER = "ROLE_NEWCOMER";

    @Bean
    UserDetailsService whoSignsIn(PersonStore people, SecondStep secondStep) {
        return email -> {
            // A passkey names the person's id; what is typed is an address.
            PersonRow person = email.contains("@") ? people.named(SignInEmail.of(email)) : people.find(email);
            if (person == null) {
                throw new UsernameNotFoundException("nobody");
            }
            return User.withUsername(Long.toString(person.id()))
                    .password(person.password())
                    .authorities(
                            secondStep.isMissing(person.id())
                                    ? NEWCOMER
                                    : "ROLE_" + person.role().name())
                    .build();
        };
    }

    /** Looked up by Spring Security's WebAuthn support. */
    @Bean
    PublicKeyCredentialUserEntityRepository passkeyOwners(Passkeys passkeys) {
        return passkeys.owners();
    }

    /** Of HTTP only and of this site; over HTTPS by HTTPS only. */
    @Bean
    CookieSerializer sessionCookie() {
        DefaultCookieSerializer cookie = new DefaultCookieSerializer();
        cookie.setCookieName("salt-drum");
        cookie.setSameSite("Lax");
        return cookie;
    }

    /** Whose session was written by an older version signs in again. */
    @Bean
    GenericConversionService springSessionConversionService() {
        GenericConversionService written = new GenericConversionService();
        written.addConverter(Object.class, byte[].class, new SerializingConverter());
        DeserializingConverter read = new DeserializingConverter();
        written.addConverter(byte[].class, Object.class, (Converter<byte[], Object>) bytes -> {
            try {
                return read.convert(bytes);
            } catch (SerializationFailedException older) {
                return null;
            }
        });
        return written;
    }
}
