-- What documents of the search index hold, as a number that rises; an index of another shape is rebuilt at the next start.
create table index_shape (
    id    int not null primary key,
    shape int not null
);
