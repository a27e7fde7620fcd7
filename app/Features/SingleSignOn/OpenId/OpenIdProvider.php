<?php

declare(strict_types=1);

namespace App\Features\SingleSignOn\OpenId;

use App\Features\SingleSignOn\IdentityProvider;
use App\Features\SingleSignOn\KnownIdentity;
use App\Features\SingleSignOn\ProviderFailed;
use App\Features\SingleSignOn\StartedSignIn;
use App\Support\Clock\Today;
use GuzzleHttp\Client;
use GuzzleHttp\Promise\Create;
use GuzzleHttp\Promise\PromiseInterface;
use Illuminate\Support\Facades\Http;
use League\OAuth2\Client\Provider\GenericProvider;
use Psr\Http\Message\RequestInterface;
use Throwable;

/**
 * An identity provider that speaks OpenID Connect: authorization code (Core 1.0, section 3.1) with PKCE (RFC 7636).
 */
final readonly class OpenIdProvider implements IdentityProvider
{
    private const NONCE_BYTES = 24;

    private const PATIENCE_SECONDS = 5;

    public function __construct(private Today $today)
    {
    }

    public function begin(bool $isAgain): StartedSignIn
    {
        $provider = $this->client();
        $nonce = bin2hex(random_bytes(self::NONCE_BYTES));
        $address = $provider->getAuthorizationUrl(['scope' => 'openid email profile', 'nonce' => $nonce] + ($isAgain ? ['prompt' => 'login', 'max_age' => 0] : []));

        return new StartedSignIn($address, $provider->getState(), $nonce, (string) $provider->getPkceCode(), $isAgain, $this->today->instant()->getTimestamp());
    }

    public function identify(string $code, StartedSignIn $started): KnownIdentity
    {
        $provider = $this->client();
        $provider->setPkceCode($started->verifier);
        try {
            $token = $provider->getAccessToken('authorization_code', ['code' => $code])->getValues()['id_token'] ?? null;
        } catch (Throwable $fault) {
            throw ProviderFailed::because('the code was not taken.', $fault);
        }
        $document = self::document();

        return IdToken::read(is_string($token) ? $token : throw ProviderFailed::because('there is no token.'), new ProviderKeys($document->keys), $document, config()->string('single_sign_on.client_id'), $started);
    }

    private function client(): GenericProvider
    {
        $document = self::document();

        return new GenericProvider([
            'clientId' => config()->string('single_sign_on.client_id'),
            'clientSecret' => config()->string('single_sign_on.client_secret'),
            'redirectUri' => route('sign-in.single-sign-on.return'),
            'urlAuthorize' => $document->authorization,
            'urlAccessToken' => $document->token,
            'urlResourceOwnerDetails' => '',
            'pkceMethod' => GenericProvider::PKCE_METHOD_S256,
        ], ['httpClient' => new Client(['handler' => self::send(...)])]);
    }

    /** By the same road as all else that the application asks for. */
    private static function send(RequestInterface $request): PromiseInterface
    {
        $answer = Http::timeout(self::PATIENCE_SECONDS)->withoutRedirecting()->withHeaders($request->getHeaders())
            ->withBody((string) $request->getBody(), $request->getHeaderLine('Content-Type'))->send($request->getMethod(), (string) $request->getUri());

        return Create::promiseFor($answer->toPsrResponse());
    }

    private static function document(): ProviderDocument
    {
        return ProviderDocument::of(config()->string('single_sign_on.issuer'));
    }
}
