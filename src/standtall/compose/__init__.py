"""What each frame and each sample of a short is made of, and painting and mixing it; preview and render share it."""
