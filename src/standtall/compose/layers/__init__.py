"""What a frame is made of: one module for each type of layer."""
