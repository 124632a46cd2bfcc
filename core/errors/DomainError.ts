/**
 * The one error the core throws: an input that has no meaning in the trade.
 * `field` names the input so that a form can point at it.
 *
 * @example
 * new DomainError('massKg', 'Body mass must be above 0 kg.').field // => 'massKg'
 */
export class DomainError extends Error {
  readonly field: string

  constructor(field: string, message: string) {
    super(message)
    this.name = 'DomainError'
    this.field = field
  }
}
