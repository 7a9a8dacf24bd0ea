-- The question stands in what was asked, with its reading; nobody read it here.
alter table kept_question drop column question;
