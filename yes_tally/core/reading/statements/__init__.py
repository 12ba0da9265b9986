"""What whole lines and sentences state, in all languages."""
