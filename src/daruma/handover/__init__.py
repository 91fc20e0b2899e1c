"""Reports and exchange files."""
