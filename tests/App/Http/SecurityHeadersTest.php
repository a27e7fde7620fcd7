<?php

declare(strict_types=1);

namespace Tests\App\Http;

use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\HttpFoundation\Response;
use Tests\App\Lighthouse;
use Tests\App\SignIn\SignsIn;
use Tests\App\TestCase;

/** What every answer tells the browser to keep to. */
final class SecurityHeadersTest extends TestCase
{
    use SignsIn;

    #[TestWith(['/sign-in', 200])]
    #[TestWith(['/week/2026-W25', 200])]
    #[TestWith(['/people/ada/week/2026-W25/lines', 200])]
    #[TestWith(['/compare.csv?by=project', 200])]
    #[TestWith(['/nowhere', 404])]
    #[TestWith(['/office/accounts', 403])]
    public function test_nothing_stays_in_caches_and_nothing_is_guessed_framed_or_read_from_elsewhere(string $address, int $status): void
    {
        $this->import(Lighthouse::files());
        $answer = $address === '/sign-in' ? $this->get($address) : $this->actingAs($this->person(str_starts_with($address, '/compare') ? 'mo' : 'ada'))->get($address);

        $answer->assertStatus($status);
        $this->assertGuarded($answer);
        self::assertFalse($answer->headers->has('Strict-Transport-Security'));
        self::assertFalse($answer->headers->has('X-Powered-By'));
    }

    public function test_over_tls_the_browser_comes_back_by_tls_alone(): void
    {
        $this->import(Lighthouse::files());
        $answer = $this->get('https://127.0.0.1/sign-in')->assertOk();

        self::assertSame('max-age=31536000; includeSubDomains', $answer->headers->get('Strict-Transport-Security'));
        foreach ($answer->headers->getCookies() as $cookie) {
            self::assertTrue($cookie->isSecure(), $cookie->getName());
        }
    }

    public function test_the_session_cookie_is_for_this_host_and_no_script(): void
    {
        $this->import(Lighthouse::files());
        $cookie = $this->get('/sign-in')->getCookie('moss_week_session', decrypt: false);

        self::assertNotNull($cookie);
        self::assertSame([true, 'lax', null, '/'], [$cookie->isHttpOnly(), $cookie->getSameSite(), $cookie->getDomain(), $cookie->getPath()]);
    }

    public function test_what_the_browser_keeps_for_its_back_button_is_encrypted_and_unreadable_after_signing_out(): void
    {
        $this->import(Lighthouse::files());
        $this->person('ada')->update(['password' => self::$password]);
        $this->signIn();
        self::assertTrue(data_get($this->whoAsks()->get('/week/2026-W25')->inertiaPage(), 'encryptHistory'));

        $this->whoAsks()->post('/sign-out')->assertRedirect('/sign-in');
        self::assertTrue(data_get($this->whoAsks()->get('/sign-in')->inertiaPage(), 'clearHistory'));
    }

    /** @param  TestResponse<Response>  $answer */
    private function assertGuarded(TestResponse $answer): void
    {
        self::assertSame('no-store, private', $answer->headers->get('Cache-Control'));
        self::assertSame('nosniff', $answer->headers->get('X-Content-Type-Options'));
        self::assertSame('same-origin', $answer->headers->get('Referrer-Policy'));
        self::assertSame('same-origin', $answer->headers->get('Cross-Origin-Resource-Policy'));
        $policy = (string) $answer->headers->get('Content-Security-Policy');
        self::assertStringContainsString("default-src 'none'", $policy);
        self::assertStringContainsString("frame-ancestors 'none'", $policy);
        self::assertStringNotContainsString('unsafe', $policy);
    }
}
