"""Controls and colours that several places use."""
