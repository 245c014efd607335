"""What several crafts know of written language: how words are joined, sentences, rarity, stems."""
