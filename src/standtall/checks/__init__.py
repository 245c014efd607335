"""What is wrong with a short, as notices with the place and what would mend it."""
