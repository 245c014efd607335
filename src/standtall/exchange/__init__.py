"""Words and cuts out of and into open formats."""
