package vastarc.web.security;

import static org.assertj.core.api.Assertions.assertThat;
import static vastarc.web.security.Requests.FAR;
import static vastarc.web.security.Requests.HERE;
import static vastarc.web.security.Requests.ask;

import java.time.Duration;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import vastarc.web.HeldClock;
import vastarc.web.store.device.DeviceStore;

/** The code that lets a device in, and who is locked out for typing wrong ones. */
@LanSpringTest
class PairingTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private Pairing pairing;

    @Autowired
    private DeviceStore devices;

    @AfterEach
    void nobodyStaysPaired() {
        devices.all().forEach(device -> devices.revoke(device.id()));
    }

    private MockHttpServletResponse send(MockHttpServletRequestBuilder request, String from) throws Exception {
        return Requests.send(http, request, from);
    }

    @Test
    void fiveWrongCodesLockTheAddressTheyComeFromAndNoOther() {
        HeldClock clock = new HeldClock();
        Pairing own = new Pairing(devices, clock);
        String code = own.code();
        for (int i = 0; i < Pairing.MOST_WRONG; i++) {
            assertThat(own.tryCode(wrong(own), "x", FAR).wrong()).contains("not the code");
        }
        assertThat(own.code()).isEqualTo(code);
        assertThat(own.tryCode(code, "x", FAR).wrong()).contains("Wait 2 minutes");
        assertThat(own.wrong()).singleElement().satisfies(wrongCodes -> {
            assertThat(wrongCodes.address()).isEqualTo(FAR);
            assertThat(wrongCodes.count()).isEqualTo(Pairing.MOST_WRONG);
        });
        assertThat(own.tryCode(code, "never locked", "192.0.2.78").key()).isPresent();
        clock.pass(Pairing.LOCKED.plusSeconds(1));
        assertThat(own.tryCode(own.code().substring(0, 3) + " " + own.code().substring(3), "locked once", FAR)
                        .key())
                .isPresent();
        assertThat(own.wrong()).isEmpty();
    }

    private static String wrong(Pairing pairing) {
        return pairing.code().equals("000000") ? "111111" : "000000";
    }

    @Test
    void anAddressIsLockedOutTwiceAsLongEachTimeAndOneOfTheNewerKindWithItsNetwork() {
        HeldClock clock = new HeldClock();
        Pairing own = new Pairing(devices, clock);
        for (int time = 0; time < 4; time++) {
            for (int i = 0; i < Pairing.MOST_WRONG; i++) {
                assertThat(own.tryCode(wrong(own), "x", "2001:db8::" + (i + 1)).wrong())
                        .contains("not the code");
            }
            clock.pass(Pairing.LOCKED.multipliedBy(1L << time).minusSeconds(1));
            assertThat(own.tryCode(wrong(own), "x", "2001:db8::99").wrong()).contains("Too many");
            clock.pass(Duration.ofSeconds(2));
        }
    }

    @Test
    void wrongCodesAreToldOnTheMachinesOwnScreen() throws Exception {
        send(ask("POST", "/pair").param("code", wrong(pairing)).param("name", "x"), "192.0.2.99");
        assertThat(send(ask("GET", "/shop/devices"), HERE).getContentAsString())
                .contains("Wrong codes", "192.0.2.99", pairing.code());
    }
}
