"""Models as TOML files, their loader and validation."""
