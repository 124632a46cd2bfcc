import { AppError } from '~~/shared/errors'
import { errorsInShape } from '../utils/defineRoute'

/** Whatever is not an address of ours answers in our own error shape. */
export default errorsInShape(() => Promise.reject(new AppError('notFound', 'There is nothing at this address.')))
