"""Speech to words with times: the model, recognition, and alignment of words to the sound."""
