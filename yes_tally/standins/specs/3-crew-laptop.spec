spec "Crew laptop"
for role "crew laptop"

must   memory.installed at least 16 GB
must   count of module at least 1
must   processor.cores at least 4
must   machine.form is laptop
must   os.edition is "Desk Pro"

must   os.build at least 12.0.4417
must   firmware.secure_boot is yes                          because "laptops travel"
must   licence.channel is volume
must   licence.state is active
must   every volume where kind is fixed: free at least 15% of size

must   no account where admin is yes and name is not one of "svc-desk", "svc-patch"
must   every firewall: on is yes
must   every adapter where kind is one of wired, wireless: dns within "10.20.0.53", "10.20.1.53"
should every volume where kind is fixed: encrypted is yes
