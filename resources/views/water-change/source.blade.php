{{ implode(' · ', $sheet->sourceFacts()) }}
