<?php

declare(strict_types=1);

namespace App\Api;

use Illuminate\Routing\Route;
use Illuminate\Routing\Router;

/** The API as OpenAPI 3.1, made from the routes, the operations and the shapes they name. */
final class Description
{
    public function __construct(private readonly Router $router)
    {
    }

    /** @return array<string, mixed> */
    public function make(): array
    {
        $shapes = new Shapes;
        $paths = [];
        foreach ($this->router->getRoutes()->getRoutes() as $route) {
            if (! str_starts_with($route->uri(), 'api/')) {
                continue;
            }
            $operation = self::operation($route);
            $method = strtolower($route->methods()[0]);
            $paths['/'.$route->uri()][$method] = array_filter([
                'operationId' => self::id($route),
                'summary' => $operation->summary,
                'parameters' => [...self::path($route), ...self::query($operation)],
                'requestBody' => $operation->takes === null ? [] : self::content($shapes->of($operation->takes)),
                'responses' => [(string) $operation->status => self::answer($operation, $shapes)] + self::refusals($shapes),
            ]);
        }
        ksort($paths);

        return [
            'openapi' => '3.1.0',
            'info' => [
                'title' => 'Levin',
                'version' => '1',
                'description' => 'One shop\'s calls, units and circuits. Signed in by session cookie; every change carries the '
                    .'X-XSRF-TOKEN header with the value of the XSRF-TOKEN cookie. Times are ISO 8601 with zone.',
            ],
            'paths' => $paths,
            'components' => ['schemas' => $shapes->all()],
        ];
    }

    private static function operation(Route $route): Operation
    {
        $class = $route->getControllerClass() ?? throw Undescribable::route($route->uri());
        $attributes = (new \ReflectionMethod($class, self::method($route)))->getAttributes(Operation::class);

        return ($attributes[0] ?? throw Undescribable::route($route->uri()))->newInstance();
    }

    /** A controller that is one method alone is called by its class. */
    private static function method(Route $route): string
    {
        return $route->getActionMethod() === $route->getControllerClass() ? '__invoke' : $route->getActionMethod();
    }

    /** Controller and method, as one word. */
    private static function id(Route $route): string
    {
        $class = str_replace('Controller', '', class_basename((string) $route->getControllerClass()));
        $method = self::method($route);

        return lcfirst($class).($method === '__invoke' ? '' : ucfirst($method));
    }

    /** @return list<array<string, mixed>> */
    private static function path(Route $route): array
    {
        $parameters = [];
        foreach (array_filter($route->parameterNames(), is_string(...)) as $name) {
            $pattern = $route->wheres[$name] ?? null;
            $schema = is_string($pattern) ? ['type' => 'string', 'pattern' => "^$pattern$"] : ['type' => 'integer'];
            $parameters[] = ['name' => $name, 'in' => 'path', 'required' => true, 'schema' => $schema];
        }

        return $parameters;
    }

    /** @return list<array<string, mixed>> */
    private static function query(Operation $operation): array
    {
        $query = $operation->query + ($operation->paged ? ['page' => 'from 1', 'per_page' => 'at most 100'] : []);

        return array_map(
            static fn (string $name, string $means): array => [
                'name' => $name,
                'in' => 'query',
                'description' => $means,
                'schema' => ['type' => 'string'],
            ],
            array_keys($query),
            $query,
        );
    }

    /** @return array<string, mixed> */
    private static function answer(Operation $operation, Shapes $shapes): array
    {
        if ($operation->file !== '') {
            return ['description' => $operation->summary, 'content' => [$operation->file => (object) []]];
        }
        if ($operation->answer === null) {
            return ['description' => 'Done.'];
        }
        $schema = $operation->paged ? $shapes->page($operation->answer) : $shapes->of($operation->answer);

        return ['description' => $operation->summary, ...self::content($schema)];
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private static function content(array $schema): array
    {
        return ['content' => ['application/json' => ['schema' => $schema]]];
    }

    /** @return array<string, array<string, mixed>> */
    private static function refusals(Shapes $shapes): array
    {
        return [
            '4XX' => ['description' => 'Refused; the message says why and what to do.', ...self::content($shapes->of(RefusedData::class))],
        ];
    }
}
