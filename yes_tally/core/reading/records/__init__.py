"""Records under their headings: what they speak of, what of it is a name, pairs and words below it."""
