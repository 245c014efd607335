"""Where layers come from: each producer gives the layers of one moment of a short."""
