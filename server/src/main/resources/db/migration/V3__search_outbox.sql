-- Hibernate Search's outbox: what is still to be indexed survives a crash.
create table hsearch_agent (
    id                   uuid         not null primary key,
    name                 varchar(255) not null,
    type                 enum ('EVENT_PROCESSING_DYNAMIC_SHARDING', 'EVENT_PROCESSING_STATIC_SHARDING', 'MASS_INDEXING') not null,
    state                enum ('RUNNING', 'SUSPENDED', 'WAITING') not null,
    assigned_shard_index integer,
    total_shard_count    integer,
    expiration           datetime(6)  not null,
    tenant_id            varchar(255),
    payload              longblob
);

create table hsearch_outbox_event (
    id             uuid         not null primary key,
    entity_name    varchar(256) not null,
    entity_id      varchar(256) not null,
    entity_id_hash integer      not null,
    tenant_id      varchar(255),
    payload        longblob     not null,
    retries        integer      not null,
    process_after  datetime(6)  not null,
    status         enum ('ABORTED', 'PENDING') not null,
    key process_after_index (process_after)
);
