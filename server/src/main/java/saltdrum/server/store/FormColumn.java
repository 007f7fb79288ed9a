package saltdrum.server.store;

import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import org.apache.ibatis.type.JdbcType;
import org.apache.ibatis.type.TypeHandler;
import org.mybatis.spring.boot.autoconfigure.ConfigurationCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import saltdrum.core.stored.StoredForm;

/** A column that holds a stored form: rows have the thing itself. Statements cast it, {@code ::jsonb} and {@code ::text}. */
record FormColumn<T>(StoredForm<T> form) implements TypeHandler<T> {
    @Override
    public void setParameter(PreparedStatement statement, int i, T value, JdbcType type) throws SQLException {
        statement.setString(i, value == null ? null : form.write(value));
    }

    @Override
    public T getResult(ResultSet row, String column) throws SQLException {
        return read(row.getString(column));
    }

    @Override
    public T getResult(ResultSet row, int column) throws SQLException {
        return read(row.getString(column));
    }

    @Override
    public T getResult(CallableStatement statement, int column) throws SQLException {
        return read(statement.getString(column));
    }

    private T read(String json) {
        return json == null ? null : form.read(json);
    }

    @Configuration
    static class Columns {
        @Bean
        ConfigurationCustomizer formColumns() {
            return configuration -> StoredForms.COLUMNS.forEach(form -> register(configuration, form));
        }

        private static <T> void register(org.apache.ibatis.session.Configuration configuration, StoredForm<T> form) {
            configuration.getTypeHandlerRegistry().register(form.type(), new FormColumn<>(form));
        }
    }
}
