"""Words to caption lines, lit word by word, kept clear of faces."""
