"""Tables, migrations, vault, journal; hands out core objects, never rows."""
