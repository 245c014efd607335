"""How layers become pixels: one painter for each type of layer, and the object that paints whole frames."""
