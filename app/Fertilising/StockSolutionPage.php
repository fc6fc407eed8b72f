<?php

declare(strict_types=1);

namespace App\Fertilising;

use App\Models\Tank;
use App\Tanks\VesselQuery;
use App\Units\Show;
use Carbon\CarbonImmutable;
use Cresco\Core\Measure\Parameter;

/** A stock bottle in words: what is weighed in which order, what a dose of it brings, and its label. */
final readonly class StockSolutionPage
{
    public float $litres;

    public Show $show;

    public function __construct(private Tank $tank, public StockSolution $bottle)
    {
        $this->show = $tank->keeper->show();
        $this->litres = VesselQuery::tank($tank)->litres();
    }

    /** @return list<array{name: string, millilitres: float, salts: list<string>, raises: array<string, float>, brings: list<string>}> */
    public function bottles(): array
    {
        $found = [];
        foreach ($this->bottle->bottles as $k => [$places, $millilitres]) {
            $raises = $this->bottle->raisesOf($k, $this->litres);
            $letter = count($this->bottle->bottles) > 1 ? ' '.chr(65 + $k % 26) : '';
            $found[] = [
                'name' => __('food.bottle.name', ['tank' => $this->tank->name]).$letter,
                'millilitres' => $millilitres,
                'salts' => array_map(
                    fn(int $i): string => Show::grams($this->bottle->grams[$i], $this->tank->keeper->scale_step).' g '.$this->bottle->products[$i]->name,
                    $places,
                ),
                'raises' => $raises,
                'brings' => array_map(
                    fn(string $name): string => word(Parameter::from($name)).' '.$this->show->value(Parameter::from($name), $raises[$name]),
                    array_keys($raises),
                ),
            ];
        }

        return $found;
    }

    /** @return list<string> products that hold less than is to be weighed out of them */
    public function short(): array
    {
        $lines = [];
        foreach ($this->bottle->grams as $i => $grams) {
            $product = $this->bottle->products[$i];
            if ($product->stock !== null && $grams > $product->stock + 1e-6 && !isset($this->bottle->apart[$i])) {
                $lines[] = __(
                    'food.bottle.short',
                    [
                        'name' => $product->name, 'needs' => Show::grams($grams, $this->tank->keeper->scale_step),
                        'has' => Show::grams($product->stock, $this->tank->keeper->scale_step),
                    ],
                );
            }
        }

        return $lines;
    }

    /** @return list<string> what does not dissolve */
    public function apart(): array
    {
        $lines = [];
        foreach ($this->bottle->apart as $i => $litres) {
            $lines[] = __('food.bottle.apart', ['name' => $this->bottle->products[$i]->name, 'litres' => Show::plain($litres, 1)]);
        }

        return $lines;
    }

    public function made(): string
    {
        return $this->show->local(CarbonImmutable::now())->translatedFormat('j F Y');
    }

    public function until(): string
    {
        return $this->show->local(CarbonImmutable::now())->addWeeks(StockSolution::KEEPS)->translatedFormat('j F Y');
    }
}
