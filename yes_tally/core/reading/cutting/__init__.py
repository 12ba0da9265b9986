"""Lines to sections and blocks: where commands, headings, tables and what stands beside them begin and end."""
