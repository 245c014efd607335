"""The panels of the inspector: one for each thing that can be changed."""
