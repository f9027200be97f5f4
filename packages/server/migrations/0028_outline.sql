-- Tasks are laid down in the product.
-- Up Migration
grant insert on task to yellowwood_app;
