"""What was printed, before anything is looked for in it: bytes to lines, and what stood around them on their way."""
