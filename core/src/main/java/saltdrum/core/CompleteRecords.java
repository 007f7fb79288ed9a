package saltdrum.core;

import java.lang.reflect.RecordComponent;
import java.util.Collection;
import tools.jackson.databind.BeanDescription;
import tools.jackson.databind.DeserializationConfig;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.deser.SettableBeanProperty;
import tools.jackson.databind.deser.ValueInstantiator;
import tools.jackson.databind.deser.ValueInstantiators;
import tools.jackson.databind.deser.bean.PropertyValueBuffer;

/** Makes records that come from outside when all is there that has to be. */
final class CompleteRecords extends ValueInstantiators.Base {
    @Override
    public ValueInstantiator modifyValueInstantiator(
            DeserializationConfig config, BeanDescription.Supplier bean, ValueInstantiator usual) {
        Class<?> type = bean.getBeanClass();
        return type.isRecord() && FromOutside.class.isAssignableFrom(type) ? new Complete(type, usual) : usual;
    }

    private static final class Complete extends ValueInstantiator.Delegating {
        private final RecordComponent[] parts;

        Complete(Class<?> type, ValueInstantiator usual) {
            super(usual);
            this.parts = type.getRecordComponents();
        }

        @Override
        public ValueInstantiator createContextual(DeserializationContext context, BeanDescription.Supplier bean) {
            return this;
        }

        @Override
        public Object createFromObjectWith(
                DeserializationContext context, SettableBeanProperty[] properties, PropertyValueBuffer buffer) {
            return createFromObjectWith(context, buffer.getParameters(context, properties));
        }

        @Override
        public Object createFromObjectWith(DeserializationContext context, Object[] values) {
            for (int i = 0; i < parts.length; i++) {
                boolean needed = !parts[i].isAnnotationPresent(MayBeMissing.class);
                if (values[i] == null && needed) {
                    throw new BadInputException("“" + parts[i].getName() + "” is missing.");
                }
                if (values[i] instanceof Collection<?> several
                        && several.stream().anyMatch(one -> one == null)) {
                    throw new BadInputException("In “" + parts[i].getName() + "” something is missing.");
                }
            }
            return super.createFromObjectWith(context, values);
        }
    }
}
