<?php

declare(strict_types=1);

namespace Tests\App\SingleSignOn;

use GuzzleHttp\Promise\PromiseInterface;
use Illuminate\Http\Client\Request;
use Illuminate\Support\Facades\Http;
use Simulated\IdentityProvider\Account;
use Simulated\IdentityProvider\Provider;
use Simulated\Reply;
use Tests\App\TestCase;

/**
 * The simulated identity provider answers what the application asks for, without a server.
 *
 * @phpstan-require-extends TestCase
 */
trait AsksSimulatedProvider
{
    private static string $issuer = 'https://sign-on.lighthouse.example';

    /** Its first keys, which take longer to make than most tests. */
    private static ?string $keys = null;

    private Provider $provider;

    /** @var array<string, mixed> what is put into the tokens in the place of what belongs there; null leaves it out */
    private array $claims = [];

    /** @var list<string> where the application asked, in order */
    private array $asked = [];

    private function startProvider(): void
    {
        config(['single_sign_on' => ['issuer' => self::$issuer, 'name' => 'Lighthouse sign-on', 'client_id' => 'moss-week', 'client_secret' => 'a secret']]);
        $accounts = [];
        foreach (['ada' => 'Ada Moor', 'mo' => 'Mo Fell', 'newt' => 'Newt Pool'] as $subject => $name) {
            $accounts[$subject] = new Account($subject, $name, "$subject@lighthouse.example", true);
        }
        $accounts['false'] = new Account('false', 'False Ada', 'ada@lighthouse.example', false);
        $folder = $this->folder(array_filter(['keys.json' => self::$keys]));
        $this->provider = new Provider(self::$issuer, 'moss-week', 'a secret', $accounts, $folder);
        self::$keys ??= (string) file_get_contents($folder.'/keys.json');
        Http::preventStrayRequests();
        Http::fake(fn (Request $request): PromiseInterface => $this->reply($request));
    }

    private function reply(Request $request): PromiseInterface
    {
        $path = (string) parse_url($request->url(), PHP_URL_PATH);
        $this->asked[] = $path;
        parse_str($request->body(), $form);
        $reply = $this->provider->answer($request->method(), $path, [], $form, implode('', array_filter($request->header('Authorization'), is_string(...))), now()->getTimestamp(), $this->claims);

        return Http::response($reply->body, $reply->status, $reply->headers);
    }

    /** Begins at the application, and says where it sends the browser. */
    private function sentTo(): string
    {
        $address = $this->post('/sign-in/single-sign-on', [], ['X-Inertia' => 'true'])->assertStatus(409)->headers->get('X-Inertia-Location');
        self::assertIsString($address);

        return $address;
    }

    /** Chooses at the provider who to be, and says where it sends the browser back to. */
    private function chosen(string $address, string $subject, bool $hasFactor = false): string
    {
        parse_str((string) parse_url($address, PHP_URL_QUERY), $asked);
        self::assertSame(200, $this->provider->answer('GET', '/authorize', $asked, [], '', now()->getTimestamp())->status);
        $reply = $this->provider->answer('POST', '/authorize', [], $asked + ['subject' => $subject] + ($hasFactor ? ['factor' => 'on'] : []), '', now()->getTimestamp());
        self::assertInstanceOf(Reply::class, $reply);
        $back = $reply->headers['Location'] ?? '';
        self::assertStringStartsWith(route('sign-in.single-sign-on.return').'?', $back);

        return (string) strstr($back, '/sign-in/');
    }
}
