"""Bytes to readings; ``docs/reader.md`` tells how, folder by folder."""
