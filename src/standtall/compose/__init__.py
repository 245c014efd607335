"""What is on each frame of a short, and painting it; preview and render share it."""
