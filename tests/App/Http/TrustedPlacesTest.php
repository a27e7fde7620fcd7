<?php

declare(strict_types=1);

namespace Tests\App\Http;

use App\Http\TrustedPlaces;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Exception\SuspiciousOperationException;
use Tests\App\TestCase;

/** What the application believes of where it is asked for. */
final class TrustedPlacesTest extends TestCase
{
    protected function tearDown(): void
    {
        Request::setTrustedHosts([]);
        Request::setTrustedProxies([], 0);
        parent::tearDown();
    }

    public function test_only_the_application_s_own_names_are_trusted(): void
    {
        config(['app.url' => 'https://weeks.example', 'moss.trusted_hosts' => 'weeks.internal, other.example']);
        Request::setTrustedHosts(TrustedPlaces::hosts());
        $host = static fn (string $name): string => Request::create('http://'.$name.'/week')->getHost();

        foreach (['weeks.example', 'weeks.internal', 'other.example', 'localhost', '127.0.0.1:8090'] as $name) {
            self::assertSame(explode(':', $name)[0], $host($name));
        }
        foreach (['elsewhere.example', 'weeksxexample', 'a.weeks.example', 'weeks.example.elsewhere.example'] as $name) {
            try {
                $host($name);
                self::fail($name.' is trusted');
            } catch (SuspiciousOperationException $refused) {
                self::assertStringContainsString('Untrusted Host', $refused->getMessage());
            }
        }
    }

    public function test_forwarded_headers_count_from_a_trusted_proxy_alone(): void
    {
        $forwarded = ['X-Forwarded-Proto' => 'https', 'X-Forwarded-For' => '192.0.2.7', 'X-Forwarded-Host' => 'weeks.example'];
        $this->withHeaders($forwarded)->get('/sign-in');
        self::assertSame(['http', '127.0.0.1'], [request()->getScheme(), request()->ip()]);

        config(['trustedproxy.proxies' => '127.0.0.1,10.0.0.0/8']);
        $this->withHeaders($forwarded)->get('/sign-in');
        self::assertSame(['https', '192.0.2.7', 'https://weeks.example/week'], [request()->getScheme(), request()->ip(), url('/week')]);
    }
}
