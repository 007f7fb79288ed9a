-- Passkeys, as Spring Security's JDBC repositories keep them (its user-entities and user-credentials schemas). The name of an
-- entity is the person's id, and it goes with the person.
create table user_entities (
    id varchar(1000) not null primary key,
    name varchar(100) not null unique,
    display_name varchar(200)
);
create table user_credentials (
    credential_id varchar(1000) not null primary key,
    user_entity_user_id varchar(1000) not null references user_entities on delete cascade,
    public_key bytea not null,
    signature_count bigint,
    uv_initialized boolean,
    backup_eligible boolean not null,
    authenticator_transports varchar(1000),
    public_key_credential_type varchar(100),
    backup_state boolean not null,
    attestation_object bytea,
    attestation_client_data_json bytea,
    created timestamp,
    last_used timestamp,
    label varchar(1000) not null
);
create index user_credentials_of on user_credentials (user_entity_user_id);

create function passkeys_go_too() returns trigger language plpgsql as $$
begin
    delete from user_entities where name = old.id::text;
    return null;
end $$;
create trigger person_removed after delete on person for each row execute function passkeys_go_too();
