package kindveil.studio.page;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.convert.TypeDescriptor;
import org.springframework.core.convert.converter.ConditionalGenericConverter;
import org.springframework.format.FormatterRegistry;
import org.springframework.util.StringUtils;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Several things named in one request: a blank name is none, and not a thing that is nothing. */
@Configuration
class NamedThings implements WebMvcConfigurer {
    @Override
    public void addFormatters(FormatterRegistry registry) {
        registry.addConverter(new ToIds());
    }

    private static final class ToIds implements ConditionalGenericConverter {
        @Override
        public Set<ConvertiblePair> getConvertibleTypes() {
            return Set.of(new ConvertiblePair(String.class, List.class), new ConvertiblePair(String[].class, List.class));
        }

        @Override
        public boolean matches(TypeDescriptor source, TypeDescriptor target) {
            TypeDescriptor element = target.getElementTypeDescriptor();
            return element != null && element.getType() == UUID.class;
        }

        @Override
        public Object convert(Object source, TypeDescriptor from, TypeDescriptor to) {
            List<UUID> ids = new ArrayList<>();
            for (String name : source instanceof String[] several ? several : new String[] {String.valueOf(source)}) {
                Arrays.stream(name.split(",")).filter(StringUtils::hasText).map(String::strip).map(UUID::fromString).forEach(ids::add);
            }
            return ids;
        }
    }
}
