"""What is put around the talk: lines of texts, headlines proposed from the words, pictures suggested by them."""
