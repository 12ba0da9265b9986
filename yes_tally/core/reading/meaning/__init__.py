"""What a label means: by its words, by what is spoken of around it, and by what its text can be."""
