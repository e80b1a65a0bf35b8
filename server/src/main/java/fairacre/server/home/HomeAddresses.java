package fairacre.server.home;

import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** What this machine is called on the home network, and its addresses there. */
final class HomeAddresses {

    private HomeAddresses() {}

    /**
     * Names first, then addresses; those that are given, then the machine's own name as such and as home routers and
     * phones find it ({@code .local}, RFC 6762), then what every machine calls itself.
     */
    static List<String> all(List<String> given) {
        Set<String> all = new LinkedHashSet<>(given);
        String own = ownName();
        if (!own.isEmpty()) {
            all.add(own);
            all.add(own + ".local");
        }
        all.addAll(addresses());
        all.add("localhost");
        all.add("127.0.0.1");
        return List.copyOf(all);
    }

    /** IPv4 addresses by which other machines at home find this one. */
    static List<String> addresses() {
        List<String> addresses = new ArrayList<>();
        try {
            NetworkInterface.networkInterfaces()
                    .flatMap(NetworkInterface::inetAddresses)
                    .filter(address -> address instanceof Inet4Address
                            && !address.isLoopbackAddress()
                            && !address.isLinkLocalAddress())
                    .map(InetAddress::getHostAddress)
                    .forEach(addresses::add);
        } catch (SocketException none) {
            return List.of();
        }
        return addresses;
    }

    /** Without a domain; empty if the machine has no name of its own, or one that no certificate may carry. */
    private static String ownName() {
        try {
            String name = InetAddress.getLocalHost().getHostName().split("[.]", 2)[0];
            return name.matches("[A-Za-z][A-Za-z0-9-]*") && !name.equals("localhost") ? name : "";
        } catch (UnknownHostException unknown) {
            return "";
        }
    }
}
