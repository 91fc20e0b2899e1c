"""Small widgets, one a file."""
